import { useQueryClient } from '@tanstack/react-query';
import { Button, Input, Segmented, Spin, Table } from 'antd';
import { useState, type ReactNode } from 'react';
import {
  answered,
  api,
  problemOf,
  type Problem,
  type ProductView,
  type RangeView,
  type ShelfView,
} from '../api/client';
import { useShelf, useShopping } from '../api/queries';
import { CountDrawer } from '../parts/CountDrawer';
import { lightenerWords } from '../parts/LightenerFields';
import { ProblemNote } from '../parts/ProblemNote';
import { RangeImport } from '../parts/RangeImport';
import { Swatch } from '../parts/Swatch';
import { TopBar } from '../parts/TopBar';
import { today } from '../state/today';
import { figure, say } from '../words/say';

const SHOWN = ['all', 'shades', 'other', 'low'] as const;
type Shown = (typeof SHOWN)[number];
const WORDS: Record<Shown, () => string> = {
  all: () => say('shelf.shownAll'),
  shades: () => say('shelf.shownShades'),
  other: () => say('shelf.shownOther'),
  low: () => say('shelf.shownLow'),
};

/** Everything the house mixes from, what there is of it, and what to buy. */
export function ShelfPage(): ReactNode {
  const shelf = useShelf();
  const [problem, setProblem] = useState<Problem | null>(null);
  const [counting, setCounting] = useState(0);
  const [page, setPage] = useState<'shelf' | 'buy'>('shelf');
  const queries = useQueryClient();
  const done = async (work: Promise<unknown>): Promise<void> => {
    try {
      await work;
      setProblem(null);
      await queries.invalidateQueries();
    } catch (error) {
      setProblem(problemOf(error));
    }
  };
  const product = shelf.data?.products.find(({ id }) => id === counting);
  return (
    <>
      <TopBar title={say('shelf.shelf')} />
      <main className="shelf">
        <div className="shelf-head">
          <h1>{say('shelf.shelf')}</h1>
          <Segmented<'shelf' | 'buy'>
            aria-label={say('shelf.whatIsShown')}
            value={page}
            onChange={setPage}
            options={[
              { value: 'shelf', label: say('shelf.whatThereIs') },
              { value: 'buy', label: say('shelf.toBuy') },
            ]}
          />
        </div>
        {problem && <ProblemNote problem={problem} />}
        {shelf.isPending && <Spin className="wait" />}
        {shelf.isError && <ProblemNote problem={problemOf(shelf.error)} />}
        {shelf.data && page === 'shelf' && (
          <>
            <Ranges shelf={shelf.data} onDone={done} />
            <Products products={shelf.data.products} onCount={setCounting} />
          </>
        )}
        {page === 'buy' && <Shopping />}
      </main>
      {product && (
        <CountDrawer
          key={`${product.id} ${product.version}`}
          product={product}
          onClose={() => setCounting(0)}
          onDone={done}
        />
      )}
    </>
  );
}

function Ranges(props: { shelf: ShelfView; onDone: (work: Promise<unknown>) => Promise<void> }): ReactNode {
  const { ranges } = props.shelf;
  return (
    <section className="ranges" aria-label={say('shelf.ranges')}>
      <ul>
        {ranges.map((range, i) => (
          <RangeLine key={range.id} range={range} first={i === 0} onDone={props.onDone} />
        ))}
      </ul>
      <RangeImport />
    </section>
  );
}

function RangeLine(props: {
  range: RangeView;
  first: boolean;
  onDone: (work: Promise<unknown>) => Promise<void>;
}): ReactNode {
  const { range, first, onDone } = props;
  const path = { params: { path: { id: range.id } } };
  return (
    <li className="range" data-range={range.name}>
      <Button
        aria-label={say('shelf.workWith', { name: range.name })}
        aria-pressed={range.inUse}
        type={range.inUse ? 'primary' : 'default'}
        onClick={() =>
          void onDone(
            answered(
              api.PUT('/api/shelf/ranges/{id}', {
                ...path,
                body: { inUse: !range.inUse, preferred: false },
              }),
            ),
          )
        }
      >
        {range.inUse ? say('shelf.inUse') : say('shelf.notUsed')}
      </Button>
      <span>
        <strong>{range.name}</strong>
        <small>
          {say('shelf.products', {
            products: range.products,
            first: first && range.inUse && say('shelf.preferred'),
          })}
        </small>
      </span>
      {!first && (
        <Button
          onClick={() =>
            void onDone(
              answered(
                api.PUT('/api/shelf/ranges/{id}', { ...path, body: { inUse: true, preferred: true } }),
              ),
            )
          }
        >
          {say('shelf.preferIt')}
        </Button>
      )}
      <Button
        type="text"
        href={`/api/shelf/ranges/${range.id}/file`}
        aria-label={say('shelf.asAFile', { name: range.name })}
      >
        {say('shelf.asAFile2')}
      </Button>
      <Button
        type="text"
        aria-label={say('shelf.takeOffTheShelf', { name: range.name })}
        onClick={() => void onDone(answered(api.DELETE('/api/shelf/ranges/{id}', path)))}
      >
        ×
      </Button>
    </li>
  );
}

function matches(product: ProductView, shown: Shown, words: string): boolean {
  const asked = words.trim().toLowerCase();
  const of =
    shown === 'all' ||
    (shown === 'low'
      ? product.low
      : shown === 'shades'
        ? product.kind === 'SHADE'
        : product.kind !== 'SHADE');
  return (
    of &&
    (asked === '' ||
      `${product.name} ${product.code} ${product.shade[0]?.classWords ?? ''}`.toLowerCase().includes(asked))
  );
}

function Products({
  products,
  onCount,
}: {
  products: ProductView[];
  onCount: (id: number) => void;
}): ReactNode {
  const [shown, setShown] = useState<Shown>('all');
  const [words, setWords] = useState('');
  const some = products.filter((product) => matches(product, shown, words));
  return (
    <section className="products" aria-label={say('shelf.products2')}>
      <div className="products-head">
        <Segmented<Shown>
          aria-label={say('shelf.whichProducts')}
          value={shown}
          onChange={setShown}
          options={SHOWN.map((value) => ({ value, label: WORDS[value]() }))}
        />
        <Input
          aria-label={say('shelf.findAProduct')}
          placeholder={say('shelf.nameCodeOrClass')}
          value={words}
          onChange={(event) => setWords(event.target.value)}
        />
        <small>{say('shelf.products3', { someCount: some.length })}</small>
      </div>
      <Table<ProductView>
        rowKey="id"
        size="small"
        virtual
        pagination={false}
        scroll={{ y: 470, x: 940 }}
        dataSource={some}
        rowClassName={(product) => (product.low ? 'low' : '')}
        columns={[
          {
            title: say('shelf.product'),
            width: 228,
            render: (_, product) =>
              product.shade[0]?.look[0] ? (
                <Swatch look={product.shade[0].look[0]}>
                  <span className="product-name">
                    {product.name} <small>{product.code}</small>
                    {product.shade[0].missesItsJob && (
                      <small className="finding">
                        {say('shelf.comesToOnTheHair', {
                          levelWords: product.shade[0].look[0].levelWords,
                          tone: product.shade[0].look[0].tone,
                        })}
                      </small>
                    )}
                  </span>
                </Swatch>
              ) : (
                <span className="product-name">
                  {product.name} <small>{product.code}</small>
                </span>
              ),
          },
          {
            title: say('shelf.is'),
            width: 130,
            render: (_, product) => product.shade[0]?.classWords ?? product.kindWords,
          },
          {
            title: say('shelf.mixed'),
            width: 112,
            render: (_, product) =>
              product.shade[0]
                ? say('shelf.min', {
                    ratio: product.shade[0].ratio > 0 ? `1 : ${product.shade[0].ratio}` : say('shelf.asItIs'),
                    minutes: product.shade[0].minutes,
                  })
                : product.lightener[0]
                  ? `1 : ${product.lightener[0].ratio} · ${lightenerWords(product.lightener[0])}`
                  : '',
          },
          {
            title: say('shelf.pack'),
            width: 100,
            render: (_, product) =>
              say('shelf.g2', { packGrams: product.packGrams, packPrice: product.packPrice }),
          },
          {
            title: say('shelf.fullPacks'),
            width: 74,
            align: 'right',
            render: (_, product) => (product.counted ? product.packs : '–'),
          },
          {
            title: say('shelf.opened'),
            width: 90,
            align: 'right',
            render: (_, product) =>
              product.counted ? product.opened.map((grams) => say('shelf.g3', { grams })).join(', ') : '–',
          },
          {
            title: say('shelf.inAll'),
            width: 112,
            align: 'right',
            render: (_, product) =>
              product.counted ? (
                <strong>
                  {say('shelf.g4', { grams: product.grams, low: product.low && say('shelf.low') })}
                </strong>
              ) : (
                say('shelf.notCounted')
              ),
          },
          {
            title: '',
            width: 92,
            render: (_, product) => (
              <Button
                aria-label={say('shelf.count', { name: product.name, code: product.code })}
                onClick={() => onCount(product.id)}
              >
                {say('shelf.count2')}
              </Button>
            ),
          },
        ]}
      />
    </section>
  );
}

const DAYS = [3, 7, 14];

function Shopping(): ReactNode {
  const [days, setDays] = useState(7);
  const list = useShopping(today(), days);
  return (
    <section className="shopping" aria-label={say('shelf.toBuy')}>
      <div className="products-head">
        <Segmented<number>
          aria-label={say('shelf.daysAhead')}
          value={days}
          onChange={setDays}
          options={DAYS.map((count) => ({ value: count, label: say('shelf.days', { count }) }))}
        />
        {list.data && <small>{say('shelf.plansUntil', { cases: list.data.cases, to: list.data.to })}</small>}
      </div>
      {list.isPending && <Spin />}
      {list.isError && <ProblemNote problem={problemOf(list.error)} />}
      {list.data?.lines.length === 0 && <p className="hint">{say('shelf.nothingTheShelfHasWhat')}</p>}
      {list.data && list.data.lines.length > 0 && (
        <table>
          <thead>
            <tr>
              <th scope="col">{say('shelf.buy')}</th>
              <th scope="col">{say('shelf.product')}</th>
              <th scope="col">{say('shelf.needed')}</th>
              <th scope="col">{say('shelf.there')}</th>
              <th scope="col">{say('shelf.price')}</th>
            </tr>
          </thead>
          <tbody>
            {list.data.lines.map((line) => (
              <tr key={`${line.code} ${line.name}`}>
                <td>
                  <b>{line.known ? `${line.packs} ×` : say('shelf.find')}</b>
                </td>
                <td>
                  {line.name} <small>{line.code}</small>
                </td>
                <td>{say('shelf.g5', { neededGrams: line.neededGrams })}</td>
                <td>{say('shelf.g6', { thereGrams: line.thereGrams })}</td>
                <td>{line.known ? figure(line.price, 2) : ''}</td>
              </tr>
            ))}
          </tbody>
          <tfoot>
            <tr>
              <td colSpan={4}>{say('shelf.together')}</td>
              <td>
                <b>
                  {figure(list.data.price, 2)} {list.data.currency}
                </b>
              </td>
            </tr>
          </tfoot>
        </table>
      )}
    </section>
  );
}
