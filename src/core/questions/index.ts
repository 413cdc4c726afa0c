export {
  type AskedQuestion,
  askedQuestionSchema,
  LONGEST_QUESTION,
  MOST_OPEN,
  type NewQuestion,
  newQuestionSchema,
  type Question,
  type QuestionAbout,
  questionAboutSchema,
  questionSchema,
} from './questionSchema';
export { isOpen, partAsked, secondLooks, waitedWords } from './secondLooks';
