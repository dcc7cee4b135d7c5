// Homographies by OpenCV (cv.findHomography, least squares) for lists of field and picture points, as JSON.
import { readFileSync } from 'node:fs';
import cv from '@techstark/opencv-js';

const ready = await new Promise((done) => (cv.Mat ? done(cv) : (cv.onRuntimeInitialized = () => done(cv))));
const found = JSON.parse(readFileSync(process.argv[2], 'utf8')).map((points) => {
    const from = ready.matFromArray(points.length, 1, ready.CV_64FC2, points.flatMap((p) => [p.fieldXYd, p.fieldYYd]));
    const to = ready.matFromArray(points.length, 1, ready.CV_64FC2, points.flatMap((p) => [p.xPx, p.yPx]));
    return Array.from(ready.findHomography(from, to, 0).data64F);
});
console.log(JSON.stringify(found));
