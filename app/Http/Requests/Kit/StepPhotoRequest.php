<?php

declare(strict_types=1);

namespace App\Http\Requests\Kit;

use App\Models\User;
use Chiralex\Board\FourCorners;
use Chiralex\Board\Point;
use Chiralex\Board\Side;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\Rule;

/** A photograph of the board at a step, with the four corners that somebody tapped, in shares of the picture. */
final class StepPhotoRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'operationId' => ['required', 'uuid'],
            'sequence' => ['required', 'integer', 'min:0'],
            'photo' => ['required', 'file', 'max:12288'],
            'corners' => ['required', 'string', 'regex:~^(?:-?\d+(?:\.\d+)?[ ;]?){8}$~'],
            'at' => ['required', 'string', 'max:2000'],
            'board' => ['required', 'string', 'max:120'],
            'side' => ['required', Rule::enum(Side::class)],
            'sure' => ['sometimes', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'photo.required' => 'No photograph arrived; choose it again.',
            'photo.max' => 'The photograph is larger than 12 MB; send a smaller one.',
            'corners.regex' => 'Tap the four corners of the board.',
        ];
    }

    public function bytes(): string
    {
        $file = $this->file('photo');

        return $file instanceof UploadedFile ? (string) $file->getContent() : '';
    }

    public function corners(): FourCorners
    {
        preg_match_all('~-?\d+(?:\.\d+)?~', (string) $this->string('corners'), $found);
        $shares = array_map(static fn(string $share): float => min(1.0, max(0.0, (float) $share)), $found[0]);

        return new FourCorners([
            new Point($shares[0], $shares[1]),
            new Point($shares[2], $shares[3]),
            new Point($shares[4], $shares[5]),
            new Point($shares[6], $shares[7]),
        ]);
    }

    /** @return list<string> */
    public function parts(): array
    {
        return array_values(array_diff(explode(' ', trim((string) $this->string('at'))), ['']));
    }

    public function side(): Side
    {
        return Side::from((string) $this->string('side'));
    }

    public function maker(): User
    {
        /** @var User $user the auth middleware stands before */
        $user = $this->user();

        return $user;
    }
}
