import { Button, Input, Select } from 'antd';
import { useState, type ReactNode } from 'react';
import { answered, api, type CardView, type MixView, type ProductView } from '../api/client';
import { useShelf } from '../api/queries';
import { typedNumber } from './DraftField';
import { say } from '../words/say';

interface Props {
  id: number;
  card: CardView | undefined;
  onAct: (work: Promise<MixView>) => Promise<boolean>;
}

/** What no plan asks for: an additive, a colour shampoo, a bowl of one's own. */
export function MixMore({ id, card, onAct }: Props): ReactNode {
  const products = useShelf().data?.products ?? [];
  return (
    <details className="mix-more">
      <summary>{say('mix.additiveColourShampooAnotherBowl')}</summary>
      {card && card.state !== 'DONE' && <Additive id={id} card={card} products={products} onAct={onAct} />}
      <ColourShampoo id={id} products={products} onAct={onAct} />
      <OwnBowl id={id} products={products} onAct={onAct} />
    </details>
  );
}

function ProductSelect(props: {
  label: string;
  value: string;
  products: ProductView[];
  onChange: (code: string) => void;
}): ReactNode {
  return (
    <Select<string>
      aria-label={props.label}
      showSearch={{ optionFilterProp: 'label' }}
      value={props.value || null}
      placeholder={props.label}
      onChange={props.onChange}
      style={{ width: 280 }}
      options={props.products.map(({ code, name, kindWords, shade }) => ({
        value: code,
        label: shade[0] ? `${name} · ${shade[0].classWords}` : `${name} · ${kindWords}`,
      }))}
    />
  );
}

function Grams(props: {
  label: string;
  suffix?: string;
  value: string;
  onChange: (text: string) => void;
}): ReactNode {
  return (
    <Input
      aria-label={props.label}
      inputMode="decimal"
      suffix={props.suffix ?? 'g'}
      value={props.value}
      onChange={(event) => props.onChange(event.target.value)}
      style={{ width: 96 }}
    />
  );
}

function Additive(props: Props & { card: CardView; products: ProductView[] }): ReactNode {
  const [code, setCode] = useState('');
  const [grams, setGrams] = useState('');
  const [percent, setPercent] = useState('');
  const some = props.products.filter(({ kind }) =>
    ['ADDITIVE', 'TREATMENT', 'EQUALISER', 'OTHER', 'SHAMPOO'].includes(kind),
  );
  return (
    <div className="mix-form" role="group" aria-label={say('mix.additive')}>
      <span>{say('mix.intoBowl', { bowl: props.card.bowl || props.card.title })}</span>
      <ProductSelect label={say('mix.additive')} value={code} products={some} onChange={setCode} />
      <Grams label={say('mix.gramsOfTheAdditive')} value={grams} onChange={setGrams} />
      <span>{say('mix.or')}</span>
      <Grams label={say('mix.percentOfTheBowl')} suffix="%" value={percent} onChange={setPercent} />
      <Button
        disabled={code === '' || (grams === '' && percent === '')}
        onClick={() =>
          void props.onAct(
            answered(
              api.POST('/api/cases/{id}/mix/additives', {
                params: { path: { id: props.id } },
                body: {
                  key: props.card.key,
                  code,
                  grams: typedNumber(grams) || 0,
                  percent: typedNumber(percent) || 0,
                },
              }),
            ),
          )
        }
      >
        {say('mix.add')}
      </Button>
    </div>
  );
}

function ColourShampoo(props: Omit<Props, 'card'> & { products: ProductView[] }): ReactNode {
  const [shade, setShade] = useState('');
  const [grams, setGrams] = useState('10');
  const developer = props.products.find(({ kind }) => kind === 'DEVELOPER');
  const shampoo = props.products.find(({ kind }) => kind === 'SHAMPOO');
  return (
    <div className="mix-form" role="group" aria-label={say('mix.colourShampoo')}>
      <span>{say('mix.colourShampooR54')}</span>
      <ProductSelect
        label={say('mix.shadeOfTheColourShampoo')}
        value={shade}
        products={props.products.filter(({ kind }) => kind === 'SHADE')}
        onChange={setShade}
      />
      <Grams label={say('mix.gramsOfShade')} value={grams} onChange={setGrams} />
      <Button
        disabled={shade === '' || !developer || !shampoo}
        onClick={() =>
          void props.onAct(
            answered(
              api.POST('/api/cases/{id}/mix/colour-shampoo', {
                params: { path: { id: props.id } },
                body: {
                  shade,
                  grams: typedNumber(grams) || 0,
                  developer: developer?.code ?? '',
                  shampoo: shampoo?.code ?? '',
                },
              }),
            ),
          )
        }
      >
        {say('mix.makeABowlOfIt')}
      </Button>
    </div>
  );
}

function OwnBowl(props: Omit<Props, 'card'> & { products: ProductView[] }): ReactNode {
  const [title, setTitle] = useState('');
  const [lines, setLines] = useState([{ code: '', grams: '' }]);
  const change = (at: number, line: { code: string; grams: string }): void =>
    setLines(lines.map((one, i) => (i === at ? line : one)));
  return (
    <div className="mix-form" role="group" aria-label={say('mix.anotherBowl')}>
      <Input
        aria-label={say('mix.nameOfAnotherBowl')}
        placeholder={say('mix.anotherBowl')}
        value={title}
        onChange={(event) => setTitle(event.target.value)}
        style={{ width: 180 }}
      />
      {lines.map((line, i) => (
        <span key={i} className="mix-form-line">
          <ProductSelect
            label={say('mix.product', { i: i + 1 })}
            value={line.code}
            products={props.products}
            onChange={(code) => change(i, { ...line, code })}
          />
          <Grams
            label={say('mix.gramsOfProduct', { i: i + 1 })}
            value={line.grams}
            onChange={(grams) => change(i, { ...line, grams })}
          />
        </span>
      ))}
      <Button onClick={() => setLines([...lines, { code: '', grams: '' }])}>
        {say('mix.oneMoreProduct')}
      </Button>
      <Button
        disabled={title.trim() === '' || lines.some(({ code, grams }) => code === '' || grams === '')}
        onClick={() =>
          void props.onAct(
            answered(
              api.POST('/api/cases/{id}/mix/extra', {
                params: { path: { id: props.id } },
                body: {
                  title,
                  lines: lines.map(({ code, grams }) => ({ code, grams: typedNumber(grams) || 0 })),
                },
              }),
            ),
          )
        }
      >
        {say('mix.makeIt')}
      </Button>
    </div>
  );
}
