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

const SHOWN = ['all', 'shades', 'other', 'low'] as const;
type Shown = (typeof SHOWN)[number];

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
      <TopBar title="Shelf" />
      <main className="shelf">
        <div className="shelf-head">
          <h1>Shelf</h1>
          <Segmented<'shelf' | 'buy'>
            aria-label="What is shown"
            value={page}
            onChange={setPage}
            options={[
              { value: 'shelf', label: 'What there is' },
              { value: 'buy', label: 'To buy' },
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
    <section className="ranges" aria-label="Ranges">
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
        aria-label={`Work with ${range.name}`}
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
        {range.inUse ? 'In use' : 'Not used'}
      </Button>
      <span>
        <strong>{range.name}</strong>
        <small>
          {range.products} products{first && range.inUse && ' · preferred'}
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
          Prefer it
        </Button>
      )}
      <Button type="text" href={`/api/shelf/ranges/${range.id}/file`} aria-label={`${range.name} as a file`}>
        As a file
      </Button>
      <Button
        type="text"
        aria-label={`Take ${range.name} off the shelf`}
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
    <section className="products" aria-label="Products">
      <div className="products-head">
        <Segmented<Shown>
          aria-label="Which products"
          value={shown}
          onChange={setShown}
          options={SHOWN.map((value) => ({ value, label: value }))}
        />
        <Input
          aria-label="Find a product"
          placeholder="Name, code or class"
          value={words}
          onChange={(event) => setWords(event.target.value)}
        />
        <small>{some.length} products</small>
      </div>
      <Table<ProductView>
        rowKey="id"
        size="small"
        virtual
        pagination={false}
        scroll={{ y: 470, x: 1100 }}
        dataSource={some}
        rowClassName={(product) => (product.low ? 'low' : '')}
        columns={[
          {
            title: 'Product',
            width: 280,
            render: (_, product) =>
              product.shade[0]?.look[0] ? (
                <Swatch look={product.shade[0].look[0]}>
                  <span className="product-name">
                    {product.name} <small>{product.code}</small>
                    {product.shade[0].missesItsJob && (
                      <small className="finding">
                        comes to {product.shade[0].look[0].levelWords} {product.shade[0].look[0].tone} on the
                        hair it is made for
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
            title: 'Is',
            width: 100,
            render: (_, product) => product.shade[0]?.classWords ?? product.kindWords,
          },
          {
            title: 'Mixed',
            width: 120,
            render: (_, product) =>
              product.shade[0]
                ? `${product.shade[0].ratio > 0 ? `1 : ${product.shade[0].ratio}` : 'as it is'} · ${product.shade[0].minutes} min`
                : product.lightener[0]
                  ? `1 : ${product.lightener[0].ratio} · ${lightenerWords(product.lightener[0])}`
                  : '',
          },
          {
            title: 'Pack',
            width: 120,
            render: (_, product) => `${product.packGrams} g · ${product.packPrice}`,
          },
          {
            title: 'Full packs',
            width: 90,
            align: 'right',
            render: (_, product) => (product.counted ? product.packs : '–'),
          },
          {
            title: 'Opened',
            width: 110,
            align: 'right',
            render: (_, product) =>
              product.counted ? product.opened.map((grams) => `${grams} g`).join(', ') : '–',
          },
          {
            title: 'In all',
            width: 120,
            align: 'right',
            render: (_, product) =>
              product.counted ? (
                <strong>
                  {product.grams} g{product.low && ' · low'}
                </strong>
              ) : (
                'not counted'
              ),
          },
          {
            title: '',
            width: 100,
            render: (_, product) => (
              <Button
                aria-label={`Count ${product.name} ${product.code}`}
                onClick={() => onCount(product.id)}
              >
                Count
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
    <section className="shopping" aria-label="To buy">
      <div className="products-head">
        <Segmented<number>
          aria-label="Days ahead"
          value={days}
          onChange={setDays}
          options={DAYS.map((count) => ({ value: count, label: `${count} days` }))}
        />
        {list.data && (
          <small>
            {list.data.cases} plans until {list.data.to}
          </small>
        )}
      </div>
      {list.isPending && <Spin />}
      {list.isError && <ProblemNote problem={problemOf(list.error)} />}
      {list.data?.lines.length === 0 && (
        <p className="hint">Nothing: the shelf has what these days need, and nothing is low.</p>
      )}
      {list.data && list.data.lines.length > 0 && (
        <table>
          <thead>
            <tr>
              <th scope="col">Buy</th>
              <th scope="col">Product</th>
              <th scope="col">Needed</th>
              <th scope="col">There</th>
              <th scope="col">Price</th>
            </tr>
          </thead>
          <tbody>
            {list.data.lines.map((line) => (
              <tr key={`${line.code} ${line.name}`}>
                <td>
                  <b>{line.known ? `${line.packs} ×` : 'find'}</b>
                </td>
                <td>
                  {line.name} <small>{line.code}</small>
                </td>
                <td>{line.neededGrams} g</td>
                <td>{line.thereGrams} g</td>
                <td>{line.known ? line.price.toFixed(2) : ''}</td>
              </tr>
            ))}
          </tbody>
          <tfoot>
            <tr>
              <td colSpan={4}>Together</td>
              <td>
                <b>
                  {list.data.price.toFixed(2)} {list.data.currency}
                </b>
              </td>
            </tr>
          </tfoot>
        </table>
      )}
    </section>
  );
}
