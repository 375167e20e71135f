import { Button, Dropdown } from 'antd';
import type { ReactNode } from 'react';
import type { Place } from '../api/client';
import { useCase } from '../state/caseContext';
import { copyBands, type BandAt } from '../state/strands';
import { say } from '../words/say';

export function CopyButton({ at, nameOf }: { at: BandAt; nameOf: (place: Place) => string }): ReactNode {
  const { document, state } = useCase();
  const { content } = state;
  const others = content.zones.filter((_, i) => i !== at.zone).map(({ place }) => place);
  return (
    <Dropdown
      trigger={['click']}
      disabled={others.length === 0 || content.zones[at.zone]?.read === false}
      menu={{
        items: [
          { key: 'ALL', label: say('read.allOtherZones') },
          ...others.map((place) => ({ key: place, label: nameOf(place).toLowerCase() })),
        ],
        onClick: ({ key }) =>
          document.edit(copyBands(content, at.zone, key === 'ALL' ? others : [key as Place])),
      }}
    >
      <Button aria-label={say('read.copyThisZoneSBands')}>{say('read.copyTo')}</Button>
    </Dropdown>
  );
}
