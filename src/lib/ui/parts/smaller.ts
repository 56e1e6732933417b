const MOST_PIXELS = 1600;
const QUALITY = 0.85;

/**
 * A photograph made smaller in the browser: at most 1,600 pixels a side, as JPEG, drawn anew, so that nothing that the
 * camera wrote into it is left. Throws where the browser cannot open the file.
 */
export async function smaller(file: Blob): Promise<Blob> {
  const picture = await createImageBitmap(file);
  const scale = Math.min(1, MOST_PIXELS / Math.max(picture.width, picture.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(picture.width * scale));
  canvas.height = Math.max(1, Math.round(picture.height * scale));
  canvas.getContext('2d')?.drawImage(picture, 0, 0, canvas.width, canvas.height);
  picture.close();
  return new Promise((done, failed) =>
    canvas.toBlob((blob) => (blob ? done(blob) : failed(new Error('no picture'))), 'image/jpeg', QUALITY),
  );
}
