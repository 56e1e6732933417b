export { hourText, parseHour } from './calc/windows-schema';
export { asTyped, fieldsOf, MOST_FIELDS, treeOf } from './fields';
export type { Fields } from './fields';
export {
  HOW_MANY,
  parseCase,
  parseGround,
  parsePremises,
  parseProperty,
  parseTie,
  propertyForm,
  parseTrying,
  tryingForm,
} from './open-forms';
export type { CaseForm, PropertyForm } from './open-forms';
export { parseRecord } from './record-form';
export type { RecordForm } from './record-form';
export { read } from './shape';
export { knownNames, parseStop, readStop } from './stops/parse';
export type { KnownNames } from './stops/parse';
export { JOB_FIELDS, parseJob, parseTaking, takingForm, type Taking } from './job-form';
export type { JobField } from './job-form';
export {
  STRENGTH_UNITS,
  fieldsOfCard,
  NOT_STATED,
  parseCard,
  parseLot,
  RATE_BASES,
  unfinished,
} from './label-form';
export { parseCardAndLot, parseContainer, parseStockChange } from './stock-form';
export type { KnownPest, NewLot } from './label-form';
export {
  parseBeginning,
  parseEmail,
  parseInvitation,
  parseJoin,
  parseLicence,
  parseNewPassword,
  parseRole,
  parseSignIn,
  parseWelcome,
  parseWorkspace,
} from './people-forms';
export type { InvitationForm, WelcomeForm } from './people-forms';
export {
  DEFAULT_SETTINGS,
  parseSettings,
  parseSettingsAndName,
  readSettings,
  settingsShape,
} from './settings-form';
export type { Settings } from './settings-form';
export { customerForm, parseCustomer, parseShare, SHARE_DAYS } from './office-forms';
export type { CustomerForm, ShareForm } from './office-forms';
export { isId, numberIn, revisionIn } from './ids';
export { parseCalibration, parseEquipment, SIZE_UNITS } from './equipment-form';
export type { CalibrationForm, EquipmentForm } from './equipment-form';
export { carriedOver, opensIn } from './job-units';
export { parseTick } from './tick-form';
export { parseFounding } from './founding-form';
export type { Founding } from './founding-form';
export { courseForm, parseCourse } from './course-form';
