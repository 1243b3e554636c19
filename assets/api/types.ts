import type { components } from './generated/schema';

type Schemas = components['schemas'];
export type Rig = Schemas['RigView'];
export type RigLine = Schemas['RigLineView'];
export type Fixture = Schemas['FixtureView'];
export type Desk = Schemas['DeskView'];
export type Strip = Schemas['StripView'];
export type FaderRange = Schemas['RangeView'];
export type Link = Schemas['LinkView'];
export type Look = Schemas['LookView'];
export type Finding = Schemas['FindingView'];
export type Repair = Schemas['RepairView'];
export type Lamp = Schemas['LampView'];
export type LampCell = Schemas['LampCellView'];
export type FixtureType = Schemas['TypeView'];
export type Switches = Schemas['SwitchesView'];
export type Change = Schemas['ChangeView'];
