import { Button, Input, Select } from 'antd';
import { useState, type ReactNode } from 'react';
import { answered, api, type CardView, type MixView, type ProductView } from '../api/client';
import { useShelf } from '../api/queries';
import { typedNumber } from './DraftField';

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
      <summary>Additive, colour shampoo, another bowl</summary>
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
      style={{ width: 220 }}
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
    <div className="mix-form" role="group" aria-label="Additive">
      <span>Into bowl {props.card.bowl || props.card.title}</span>
      <ProductSelect label="Additive" value={code} products={some} onChange={setCode} />
      <Grams label="Grams of the additive" value={grams} onChange={setGrams} />
      <span>or</span>
      <Grams label="Percent of the bowl" suffix="%" value={percent} onChange={setPercent} />
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
        Add
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
    <div className="mix-form" role="group" aria-label="Colour shampoo">
      <span>Colour shampoo (R54)</span>
      <ProductSelect
        label="Shade of the colour shampoo"
        value={shade}
        products={props.products.filter(({ kind }) => kind === 'SHADE')}
        onChange={setShade}
      />
      <Grams label="Grams of shade" value={grams} onChange={setGrams} />
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
        Make a bowl of it
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
    <div className="mix-form" role="group" aria-label="Another bowl">
      <Input
        aria-label="Name of another bowl"
        placeholder="Another bowl"
        value={title}
        onChange={(event) => setTitle(event.target.value)}
        style={{ width: 180 }}
      />
      {lines.map((line, i) => (
        <span key={i} className="mix-form-line">
          <ProductSelect
            label={`Product ${i + 1}`}
            value={line.code}
            products={props.products}
            onChange={(code) => change(i, { ...line, code })}
          />
          <Grams
            label={`Grams of product ${i + 1}`}
            value={line.grams}
            onChange={(grams) => change(i, { ...line, grams })}
          />
        </span>
      ))}
      <Button onClick={() => setLines([...lines, { code: '', grams: '' }])}>One more product</Button>
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
        Make it
      </Button>
    </div>
  );
}
