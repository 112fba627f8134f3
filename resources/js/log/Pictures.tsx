import { useMutation } from '@tanstack/react-query';
import { addPicture, takePictureAway } from '../api/generated/client';
import type { LoggedBatch } from '../api/generated/documents';

/** Pixels along the longer side of what is sent: a phone's picture is many times what a card needs. */
const longest = 2000;

/** The bytes of a picture in base64, made smaller on the way where it is large. */
async function sendable(file: File): Promise<string> {
  const image = await createImageBitmap(file).catch(() => null);
  const share = image === null ? 1 : longest / Math.max(image.width, image.height);
  let bytes: Blob = file;
  if (image !== null && share < 1) {
    const canvas = new OffscreenCanvas(Math.round(image.width * share), Math.round(image.height * share));
    canvas.getContext('2d')?.drawImage(image, 0, 0, canvas.width, canvas.height);
    bytes = await canvas.convertToBlob({ type: 'image/jpeg', quality: 0.9 });
  }
  const letters = new Uint8Array(await bytes.arrayBuffer()).reduce((all, byte) => all + String.fromCharCode(byte), '');
  return btoa(letters);
}

/** A picture or two of a batch. */
export function Pictures({ batch, onChange }: { batch: LoggedBatch; onChange: (batch: LoggedBatch) => void }) {
  const add = useMutation({
    mutationFn: async (file: File) => addPicture(batch.id, { picture: await sendable(file) }),
    onSuccess: onChange,
  });
  const remove = useMutation({
    mutationFn: (picture: number) => takePictureAway(batch.id, `${picture}`),
    onSuccess: onChange,
  });
  const trouble = add.error ?? remove.error;
  return (
    <section aria-label="Pictures" className="log-pictures">
      <h3>Pictures</h3>
      {trouble !== null && (
        <p role="alert" className="trouble">
          {trouble.message}
        </p>
      )}
      <ul>
        {batch.pictures.map((picture, i) => (
          <li key={picture.id}>
            <img
              src={`/api/batches/${batch.id}/pictures/${picture.id}`}
              alt={`${batch.name}, no. ${batch.number}, ${i + 1} of ${batch.pictures.length}`}
              width={picture.width}
              height={picture.height}
              loading="lazy"
            />
            <button
              type="button"
              className="log-link"
              aria-label={`Take picture ${i + 1} away`}
              onClick={() => remove.mutate(picture.id)}
            >
              take away
            </button>
          </li>
        ))}
      </ul>
      <label className="quiet">
        {batch.pictures.length === 0 ? 'A picture of it, to know it by' : 'One more'}{' '}
        <input
          type="file"
          accept="image/jpeg,image/png,image/webp"
          disabled={add.isPending}
          onChange={(event) => {
            const file = event.target.files?.[0];
            if (file) add.mutate(file);
            event.target.value = '';
          }}
        />
      </label>
    </section>
  );
}
