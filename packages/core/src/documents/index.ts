export { CAUTION_FOR_CLIENTS, CAUTION_SHORT } from './cautionWords.ts';
export { testWords } from './testWords.ts';
export { stepWords, workInBrief } from './stepWords.ts';
export { inWordsOf, paperCsv, printMoney, type PaperBlock, type Label, type Paper } from './paper.ts';
export {
  asAgreed,
  atAgreedPrices,
  LEFT_OUT_WORDS,
  optionFault,
  quoteChanges,
  quoteMark,
  quoteTotals,
  type Quote,
  type QuoteChange,
  type QuoteLeftOut,
  type QuoteOwnLine,
  type QuoteLine,
  type QuoteOption,
  type QuoteSketch,
  type QuoteTotals,
  quoteColours,
} from './quote.ts';
export {
  jobPackPaper,
  quotePaper,
  runSheetPaper,
  shoppingList,
  shoppingPaper,
  type PackSurface,
  type PaperHead,
  type RunSheetLine,
  type Buying,
  type ShoppingItem,
} from './papers.ts';
export { type LabelledJob, labelsOf, labelsPaper } from './labels.ts';
export { careDay, careSheetPaper, careUses, type CareDate, type CareSurface } from './careSheet.ts';
export { visitLetterPaper, type LetterVisit } from './visitLetter.ts';
export {
  careMail,
  invitationMail,
  recoveryMail,
  MAIL_KINDS,
  MAIL_LABELS,
  MAIL_STATES,
  quoteMail,
  reminderMail,
  visitMail,
  type MailKind,
  type MailState,
  type MailWords,
} from './mail.ts';
export { asShown, changesShown, footOf } from './taxIncluded.ts';
