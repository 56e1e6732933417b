export { nextDate, type NextBecause, type NextDate, type NextDateInput } from './next-date';
export { retreat } from './retreat';
export type { RetreatAnswer, RetreatInput, StoppedBy, Treatment } from './retreat';
export { findWindows } from './windows';
export type { Hours, RainLimit, WindowLimits, WorkWindow } from './windows';
export { judgeHours, limitsOf } from './label-hours';
export type { Forecast, HourCircumstances, JudgedHour, JudgedHours } from './label-hours';
export { DUE_KINDS, dueAfter, dueKey, type Due, type DueKind } from './due';
