export { ADDRESSEE_WANTED, addressee } from './addressee';
export { type Invitation, type MessageKind, mailTo, messageKinds, textTo } from './invitation';
