// Homographies by OpenCV (cv.findHomography, least squares) for lists of field and picture points, as JSON.
import { readFileSync } from 'node:fs';
import cv from '@techstark/opencv-js';

// The module is itself thenable, so the promise must not resolve with it.
await new Promise((done) => (cv.Mat ? done() : (cv.onRuntimeInitialized = () => done())));
const found = JSON.parse(readFileSync(process.argv[2], 'utf8')).map((points) => {
    const from = cv.matFromArray(points.length, 1, cv.CV_64FC2, points.flatMap((p) => [p.fieldXYd, p.fieldYYd]));
    const to = cv.matFromArray(points.length, 1, cv.CV_64FC2, points.flatMap((p) => [p.xPx, p.yPx]));
    return Array.from(cv.findHomography(from, to, 0).data64F);
});
console.log(JSON.stringify(found));
