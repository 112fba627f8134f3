import { useIngredients } from '../bench/useIngredients';

/** The full name of a thing of the pantry, which the product knows by its slug. */
export function Called({ slug }: { slug: string }) {
  const found = useIngredients(slug);
  return <>{found.data?.ingredients.find((one) => one.slug === slug)?.name ?? slug}</>;
}
