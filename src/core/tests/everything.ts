import { newBrooder, newRun } from '@/core/edit/defaults';
import { newBoard, newLedge } from '@/core/edit/new/bars';
import { newDustBath } from '@/core/edit/new/floorThings';
import { newMade } from '@/core/edit/new/homeMade';
import { newHatch } from '@/core/edit/new/openings';
import { newRain } from '@/core/edit/new/rain';
import type { Plan } from '@/core/model/schema';
import { hens, sampleClimate, soundCoop } from './plans';

/** A coop with one of everything that a panel has fields for. */
export const everything = (heat: 'lamp' | 'plate' | 'hen'): Plan =>
  soundCoop((d) => {
    d.climate = sampleClimate('wet-upland');
    d.shell.floorAboveGroundM = 0.4;
    d.shell.storage = { wall: 'right', depthM: 0.5 };
    d.run = newRun(d);
    d.litter.retainingM = 0.3;
    d.litter.finalM = 0.2;
    d.schools['light.laying'] = 'light.laying.morning';
    d.brooder = {
      ...newBrooder(),
      ventM2: 0.02,
      heat:
        heat === 'plate'
          ? { kind: 'plate', widthM: 0.4, depthM: 0.3 }
          : heat === 'hen'
            ? { kind: 'hen', hens: 2 }
            : {
                kind: 'lamp',
                watts: 100,
                count: 2,
                aboveM: 0.5,
                coated: false,
                secondFixing: true,
              },
    };
    d.flock.push(
      hens(8, {
        id: 'chicks',
        name: 'Chicks',
        hatchedOn: '2027-04-15',
        arrivesOn: '2027-06-20',
        raisedHere: true,
        ifCock: 'leaves',
      }),
    );
    d.rain = newRain(d);
    const beside = { scratch: 0.05, scraps: 0.02, sunflower: 0.01 };
    d.ration = { cold: { ...beside }, warm: { ...beside } };
    const feeder = d.fixtures.find((f) => f.kind === 'feeder');
    if (feeder?.kind === 'feeder') feeder.made = newMade(feeder, 'metric');
    const drinker = d.fixtures.find((f) => f.kind === 'drinker');
    if (drinker?.kind === 'drinker') {
      drinker.winter = { kind: 'heated', watts: 100, by: 'water', immersed: true, cutOut: true };
    }
    const pop = d.fixtures.find((f) => f.kind === 'popDoor');
    if (pop?.kind === 'popDoor') {
      pop.ramp = { lengthM: 1.2, widthM: 0.3, cleatM: 0.15 };
      pop.stepZ = 0.2;
    }
    d.fixtures.push(
      { ...newHatch(d), id: 'hatch', frontM: 1, flapM: 0.6 },
      { ...newDustBath(d), id: 'bath' },
      { ...newBoard(d), id: 'board' },
      { ...newLedge(d), id: 'ledge' },
    );
  });
