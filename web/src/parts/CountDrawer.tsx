import { useQuery } from '@tanstack/react-query';
import { Button, Drawer, Input, Switch } from 'antd';
import { useState, type ReactNode } from 'react';
import { answered, api, type ProductView } from '../api/client';
import { typedNumber } from './DraftField';
import { say } from '../words/say';

interface Props {
  product: ProductView;
  onClose: () => void;
  onDone: (work: Promise<unknown>) => Promise<void>;
}

/** What was counted of one product, and what came and went of it. */
export function CountDrawer({ product, onClose, onDone }: Props): ReactNode {
  const [counted, setCounted] = useState(product.counted);
  const [packs, setPacks] = useState(String(product.packs));
  const [opened, setOpened] = useState(product.opened.join(' '));
  const [low, setLow] = useState(String(product.lowGrams));
  const [price, setPrice] = useState(String(product.packPrice));
  const moves = useQuery({
    queryKey: ['moves', product.id, product.version],
    queryFn: () =>
      answered(api.GET('/api/shelf/products/{id}/moves', { params: { path: { id: product.id } } })),
  });
  const keep = (): void =>
    void onDone(
      answered(
        api.PUT('/api/shelf/products/{id}', {
          params: { path: { id: product.id } },
          body: {
            version: product.version,
            counted,
            packs: Math.round(typedNumber(packs) || 0),
            opened: opened
              .split(/[\s,;]+/)
              .filter((one) => one !== '')
              .map((one) => typedNumber(one) || 0),
            lowGrams: typedNumber(low) || 0,
            packPrice: typedNumber(price) || 0,
          },
        }),
      ),
    );
  return (
    <Drawer title={product.name} open onClose={onClose} size={420}>
      <div className="count">
        <div className="house-switch">
          <Switch aria-label={say('shelf.counted')} checked={counted} onChange={setCounted} />
          <span>{say('shelf.countedBowlsTakeFromIt')}</span>
        </div>
        <Field
          label={say('shelf.fullPacksOfG', { packGrams: product.packGrams })}
          value={packs}
          onChange={setPacks}
        />
        <Field label={say('shelf.gramsInOpenedPacksOne')} value={opened} onChange={setOpened} mode="text" />
        <Field label={say('shelf.buyWhenSoManyGrams')} value={low} onChange={setLow} />
        <Field label={say('shelf.priceOfAPack')} value={price} onChange={setPrice} />
        <Button type="primary" onClick={keep}>
          {say('shelf.keep')}
        </Button>
        <h3>{say('shelf.cameAndWent')}</h3>
        {moves.data?.length === 0 && <p className="quiet">{say('shelf.nothingYet')}</p>}
        <ul className="moves">
          {moves.data?.map((move, i) => (
            <li key={i}>
              <time>{move.at.slice(0, 16).replace('T', ' ')}</time>
              <b>
                {say('shelf.g', { grams: move.grams > 0 && '+', grams2: Math.round(move.grams * 10) / 10 })}
              </b>
              <span>{move.why}</span>
            </li>
          ))}
        </ul>
      </div>
    </Drawer>
  );
}

function Field(props: {
  label: string;
  value: string;
  onChange: (text: string) => void;
  mode?: 'text' | 'decimal';
}): ReactNode {
  return (
    <label className="count-field">
      <span>{props.label}</span>
      <Input
        aria-label={props.label}
        inputMode={props.mode ?? 'decimal'}
        value={props.value}
        onChange={(event) => props.onChange(event.target.value)}
      />
    </label>
  );
}
