import type { Reading, RecipeStage } from '../api/generated/documents';
import type { Answers } from './ReadLines';

/** The stages of a reading with its questions answered; a line that is no ingredient is taken out. */
export const answered = (
  { recipe, questions }: Pick<Reading, 'recipe' | 'questions'>,
  answers: Answers,
): RecipeStage[] =>
  recipe.stages.map((stage) => ({
    ...stage,
    lines: (stage.lines ?? []).flatMap((line) => {
      let kept: typeof line | null = line;
      questions.forEach((question, index) => {
        const answer = answers[index];
        if (question.id !== line.id || answer === undefined || kept === null) return;
        if (answer === null) kept = null;
        else kept = question.about === 'amount' ? { ...kept, amount: answer } : { ...kept, ingredient: answer };
      });
      return kept === null ? [] : [kept];
    }),
  }));
