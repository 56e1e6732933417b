import sharp from 'sharp';

export interface Picture {
  readonly jpeg: Buffer;
  readonly width: number;
  readonly height: number;
}

const MOST_PIXELS = 1600;
const QUALITY = 82;
/** A picture that claims to be larger is not opened: it would fill the memory. */
const LARGEST_PIXELS = 120_000_000;

/**
 * A photograph as it is kept: JPEG of at most 1,600 pixels a side, turned upright, without anything that the camera
 * wrote into it (place, time, serial number). Null where the bytes are no picture that can be read.
 */
export async function pictureFrom(bytes: Uint8Array): Promise<Picture | null> {
  try {
    const { data, info } = await sharp(bytes, { limitInputPixels: LARGEST_PIXELS, failOn: 'error' })
      .rotate()
      .resize(MOST_PIXELS, MOST_PIXELS, { fit: 'inside', withoutEnlargement: true })
      .flatten({ background: '#ffffff' })
      .jpeg({ quality: QUALITY })
      .toBuffer({ resolveWithObject: true });
    return { jpeg: data, width: info.width, height: info.height };
  } catch {
    return null;
  }
}
