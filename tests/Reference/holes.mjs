// Holes of a drill file by a second reader, gerber-parser and gerber-plotter: a line each, x y diameter in millimetres.
import { createReadStream } from 'node:fs';
import parser from 'gerber-parser';
import plotter from 'gerber-plotter';

const read = parser({ filetype: 'drill' });
const plot = plotter();
const sizes = new Map();
const holes = [];
plot.on('data', (piece) => {
  if (piece.type === 'shape') {
    sizes.set(piece.tool, 2 * piece.shape[0].r);
  } else if (piece.type === 'pad') {
    holes.push([piece.x, piece.y, sizes.get(piece.tool) ?? 0]);
  } else if (piece.type === 'size') {
    const unit = piece.units === 'in' ? 25.4 : 1;
    console.log(holes.map((hole) => hole.map((each) => (each * unit).toFixed(4)).join(' ')).join('\n'));
  }
});
createReadStream(process.argv[2], 'utf8').pipe(read).pipe(plot);
