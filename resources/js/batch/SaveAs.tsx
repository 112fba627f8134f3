import { useMutation } from '@tanstack/react-query';
import { exportRecipe } from '../api/generated/client';
import type { ExportInput, Recipe } from '../api/generated/documents';
import { saveFile } from '../shared/saveFile';

const formats: [ExportInput['format'], string][] = [
  ['json', 'JSON'],
  ['jsonld', 'JSON-LD'],
  ['markdown', 'Markdown'],
  ['csv', 'CSV'],
];

/** The recipe as a file, with what the format cannot carry. */
export function SaveAs({ recipe }: { recipe: Recipe }) {
  const save = useMutation({
    mutationFn: (format: ExportInput['format']) => exportRecipe({ recipe, format }),
    onSuccess: (file) => saveFile(file.file, file.type, file.text),
  });
  return (
    <>
      {formats.map(([format, words]) => (
        <button key={format} type="button" className="plain" onClick={() => save.mutate(format)}>
          {words}
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
