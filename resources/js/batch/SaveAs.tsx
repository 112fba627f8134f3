import { useMutation, useQuery } from '@tanstack/react-query';
import { exportRecipe, listFormats } from '../api/generated/client';
import type { Recipe } from '../api/generated/documents';
import { saveFile } from '../shared/saveFile';

/** The recipe as a file, with what the format cannot carry. */
export function SaveAs({ recipe }: { recipe: Recipe }) {
  const formats = useQuery({
    queryKey: ['formats'],
    queryFn: ({ signal }) => listFormats({ signal }),
    staleTime: Number.POSITIVE_INFINITY,
  });
  const save = useMutation({
    mutationFn: (format: string) => exportRecipe({ recipe, format }),
    onSuccess: (file) => saveFile(file.file, file.type, file.text),
  });
  return (
    <>
      {formats.data?.formats
        .filter((format) => format.writes)
        .map((format) => (
          <button key={format.name} type="button" className="plain" onClick={() => save.mutate(format.name)}>
            {format.label}
          </button>
        ))}
      {save.isSuccess && (
        <p className="done">
          {save.data.file} is saved. {save.data.lost.length > 0 && `It cannot carry ${save.data.lost.join('; ')}.`}
        </p>
      )}
      {save.isError && (
        <p role="alert" className="trouble">
          {save.error.message}
        </p>
      )}
    </>
  );
}
