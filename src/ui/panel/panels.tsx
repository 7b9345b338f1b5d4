'use client';
import dynamic from 'next/dynamic';
import type { ComponentType } from 'react';
import type { StationId } from '@/core/kernel/finding';
import { FloorFields } from './floor/FloorFields';
import { NestRows } from './nests/NestRows';
import {
  AtTheBench,
  all,
  BarDetails,
  NestDetails,
  NestOpeningDays,
  RoostDetails,
  ShellDetails,
} from './parts';
import { BarRows } from './roosts/BarRows';
import { ShellFields } from './shell/ShellFields';

/** A station's panel: its fields, and what schools differ on, the one that sizes it first. */
interface StationPanelOf {
  readonly Fields: ComponentType;
  readonly topics: readonly string[];
}

/** Every station's panel; those of the stations that a page opens on most are in its first load. */
export const PANELS: Readonly<Record<StationId, StationPanelOf>> = {
  flock: { Fields: dynamic(() => all().then((m) => m.FlockFields)), topics: [] },
  shell: {
    Fields: () => (
      <>
        <ShellFields />
        <ShellDetails />
      </>
    ),
    topics: ['run.floor', 'mesh.aperture'],
  },
  floor: { Fields: FloorFields, topics: ['floor.area'] },
  roosts: {
    Fields: () => (
      <>
        <BarRows Details={BarDetails} />
        <RoostDetails />
      </>
    ),
    topics: [
      'roosts.length',
      'roosts.spacing',
      'roosts.height',
      'roosts.hop',
      'roosts.section',
      'roosts.finish',
      'roosts.droppings',
    ],
  },
  nests: {
    Fields: () => (
      <>
        <NestRows Details={NestDetails} />
        <AtTheBench station="nests" />
        <NestOpeningDays />
      </>
    ),
    topics: ['nests.hens', 'nests.floor', 'nests.collect'],
  },
  air: { Fields: dynamic(() => all().then((m) => m.AirFields)), topics: ['air.area'] },
  feed: { Fields: dynamic(() => all().then((m) => m.FeedFields)), topics: ['feed.rodents'] },
  water: { Fields: dynamic(() => all().then((m) => m.WaterFields)), topics: ['rain.screens'] },
  litter: {
    Fields: dynamic(() => all().then((m) => m.LitterPanel)),
    topics: ['litter.school', 'litter.cleanOut'],
  },
  door: { Fields: dynamic(() => all().then((m) => m.DoorFields)), topics: ['light.laying'] },
  reach: { Fields: dynamic(() => all().then((m) => m.ReachFields)), topics: [] },
  brooder: { Fields: dynamic(() => all().then((m) => m.BrooderFields)), topics: ['brooder.space'] },
};
