import { Input } from 'antd';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import type { ConsultationView } from '../api/client';
import { useDay, usePlan, useVocabulary } from '../api/queries';
import { CaseCautions } from '../parts/Cautions';
import { Choice } from '../parts/Choice';
import { DraftField, typedNumber } from '../parts/DraftField';
import { MomentField } from '../parts/WhenField';
import { Photos } from '../parts/Photos';
import { SelectField } from '../parts/SelectField';
import { WhenFields } from '../parts/WhenFields';
import { useCase } from '../state/caseContext';
import { refusedAt } from '../state/refused';
import { say } from '../words/say';

/** What is asked and told, in the order it is asked; one hand is enough. */
export function ConsultPage(): ReactNode {
  const { document, state } = useCase();
  const vocabulary = useVocabulary().data;
  const plan = usePlan(state.id, state.version).data;
  const chairs = useDay(state.content.date).data?.chairs ?? [];
  const { content, saving } = state;
  const told = content.consultation;
  const set = (change: Partial<ConsultationView>, merge?: string): void =>
    document.edit({ ...content, consultation: { ...told, ...change } }, merge);
  const refused = (...fields: string[]): string | undefined => refusedAt(saving, ...fields);
  const cautions = [...(plan?.stepCautions.flat() ?? []), ...(plan?.cautions ?? [])];
  const asked = (
    label: string,
    field: 'earlierReaction' | 'blackTattoo' | 'asthma' | 'medication' | 'pregnant' | 'underAge',
    more?: ReactNode,
  ): ReactNode => (
    <div className="question half">
      <span>{label}</span>
      <Choice
        label={label}
        value={told[field]}
        onChoose={(answer) => set({ [field]: answer })}
        options={(vocabulary?.answers ?? [])
          .filter(({ value }) => value !== 'NOT_ASKED')
          .map(({ value, words }) => ({ value, label: words }))}
      />
      {more}
    </div>
  );
  const amount = (
    label: string,
    field: 'trimCm' | 'budget' | 'hours' | 'upkeepWeeks',
    suffix: string,
  ): ReactNode => (
    <DraftField
      label={label}
      width={112}
      suffix={suffix}
      inputMode="decimal"
      value={told[field] === 0 ? '' : String(told[field])}
      refused={refused(`consultation.${field}`)}
      onText={(text) => {
        const figure = text.trim() === '' ? 0 : typedNumber(text);
        if (!Number.isNaN(figure)) {
          set({ [field]: figure }, field);
        }
      }}
    />
  );
  return (
    <main className="consult">
      <section className="questions" aria-label={say('consult.consultation')}>
        <div className="facts">
          <SelectField
            label={say('consult.status')}
            value={content.status}
            options={vocabulary?.statuses ?? []}
            onChange={(status) => void document.move(status)}
          />
          <SelectField
            label={say('consult.chair')}
            value={content.chair}
            options={[...new Set(['', ...chairs, content.chair])].map((chair) => ({
              value: chair,
              words: chair === '' ? say('consult.notSaid') : chair,
            }))}
            onChange={(chair) => document.edit({ ...content, chair })}
          />
          <DraftField
            label={say('consult.minutes')}
            width={84}
            inputMode="decimal"
            value={String(content.minutes)}
            refused={refused('minutes')}
            onText={(text) => {
              const minutes = typedNumber(text);
              if (!Number.isNaN(minutes)) {
                document.edit({ ...content, minutes: Math.round(minutes) }, 'minutes');
              }
            }}
          />
          <WhenFields />
          <Link to={`/clients/${state.clientId}`} className="earlier-cases">
            {say('consult.allCasesOfThisClient')}
          </Link>
        </div>
        <label className="question wide">
          <span>{say('consult.theWishInTheClient')}</span>
          <Input.TextArea
            value={told.wish}
            aria-label={say('consult.theWishInTheClient2')}
            autoSize={{ minRows: 2, maxRows: 5 }}
            maxLength={2000}
            onChange={(event) => set({ wish: event.target.value }, 'wishWords')}
          />
        </label>
        {asked(say('consult.everReactedToHairColour'), 'earlierReaction')}
        {asked(say('consult.everReactedToATemporary'), 'blackTattoo')}
        <label className="question">
          <span>{say('consult.allergiesAsTold')}</span>
          <Input
            value={told.allergies}
            aria-label={say('consult.allergies')}
            onChange={(event) => set({ allergies: event.target.value }, 'allergies')}
          />
        </label>
        {asked(say('consult.asthma'), 'asthma')}
        {asked(
          say('consult.medication'),
          'medication',
          told.medication === 'YES' && (
            <Input
              value={told.medicationWords}
              aria-label={say('consult.whichMedication')}
              placeholder={say('consult.whichAsTold')}
              onChange={(event) => set({ medicationWords: event.target.value }, 'medication')}
            />
          ),
        )}
        {asked(say('consult.pregnantOrNursing'), 'pregnant')}
        {asked(
          say('consult.underAge'),
          'underAge',
          told.underAge === 'YES' && (
            <Choice
              label={say('consult.guardianAgreedWhereLocalLaw')}
              value={told.guardianAgreed ? 'yes' : 'no'}
              onChoose={(agreed) => set({ guardianAgreed: agreed === 'yes' })}
              options={[
                { value: 'no', label: say('consult.noGuardianSAgreement') },
                { value: 'yes', label: say('consult.guardianAgreedLawAllows') },
              ]}
            />
          ),
        )}
        <div className="question">
          <span>{say('consult.scalpLookedAt')}</span>
          <Choice
            label={say('consult.scalp')}
            value={told.scalp}
            onChoose={(scalp) => set({ scalp })}
            options={(vocabulary?.scalps ?? [])
              .filter(({ value }) => value !== 'NOT_LOOKED_AT')
              .map(({ value, words }) => ({ value, label: words }))}
          />
        </div>
        <div className="question">
          <span>{say('consult.patchTest')}</span>
          <div className="patch-when">
            <MomentField
              label={say('consult.applied')}
              value={told.patchPlaced}
              refused={refused('consultation.patchTest.placed', 'consultation.patchPlaced')}
              onText={(moment) =>
                set(
                  {
                    patchPlaced: moment,
                    ...(moment === '' ? { patchRead: '', patchResult: 'NOT_READ' } : {}),
                  },
                  'patch',
                )
              }
            />
            {told.patchResult !== 'NOT_READ' && (
              <MomentField
                label={say('consult.read')}
                value={told.patchRead}
                refused={refused('consultation.patchTest.read', 'consultation.patchRead')}
                onText={(patchRead) => set({ patchRead }, 'patchRead')}
              />
            )}
          </div>
          <Choice
            label={say('consult.patchTestReading')}
            value={told.patchResult}
            onChoose={(patchResult) => set({ patchResult, patchRead: '' })}
            options={(vocabulary?.patchResults ?? []).map(({ value, words }) => ({ value, label: words }))}
          />
        </div>
        <div className="question">
          <span>{say('consult.colourUsedAtHome')}</span>
          <Choice
            label={say('consult.homeColour')}
            value={told.homeColour}
            onChoose={(homeColour) => set({ homeColour })}
            options={(vocabulary?.homeColours ?? [])
              .filter(({ value }) => value !== 'NOT_ASKED')
              .map(({ value, words }) => ({ value, label: words }))}
          />
        </div>
        {['PLANT', 'METALLIC', 'UNKNOWN'].includes(told.homeColour) && (
          <div className="question">
            <span>{say('consult.cutStrandInPeroxide')}</span>
            <Choice
              label={say('consult.cutStrand')}
              value={told.cutStrand}
              onChoose={(cutStrand) => set({ cutStrand })}
              options={(vocabulary?.cutStrands ?? []).map(({ value, words }) => ({ value, label: words }))}
            />
          </div>
        )}
        <div className="facts">
          {amount(say('consult.budget'), 'budget', '')}
          {amount(say('consult.time'), 'hours', 'h')}
          {amount(say('consult.trimAllowed'), 'trimCm', 'cm')}
          {amount(say('consult.comesAgainEvery'), 'upkeepWeeks', say('consult.weeks'))}
        </div>
        <div className="question">
          <span>{say('consult.mustStay')}</span>
          <div className="choice" role="group" aria-label={say('consult.mustStay')}>
            {(vocabulary?.keeps ?? []).map(({ value, words }) => (
              <button
                key={value}
                type="button"
                className="choice-option"
                aria-pressed={told.keeps.includes(value)}
                onClick={() =>
                  set({
                    keeps: told.keeps.includes(value)
                      ? told.keeps.filter((keep) => keep !== value)
                      : [...told.keeps, value],
                  })
                }
              >
                {words}
              </button>
            ))}
          </div>
        </div>
      </section>
      <aside className="consult-side">
        {plan && (
          <CaseCautions
            title={say('consult.whatThisMeansForThe')}
            cautions={cautions}
            planned={plan.stepCautions.length > 0}
          />
        )}
        <Photos />
      </aside>
    </main>
  );
}
