export { inWindow, retreat } from './retreat';
export type { RetreatAnswer, RetreatInput, StoppedBy, Treatment } from './retreat';
export { findWindows } from './windows';
export type { Hours, RainLimit, WindowLimits, WorkWindow } from './windows';
