/** The body of an answer that has to have one. */
export async function data<T>(answer: Promise<{ data?: T }>): Promise<T> {
  const { data: value } = await answer;
  if (value === undefined) throw new Error('The server sent an empty answer; reload the page.');
  return value;
}
