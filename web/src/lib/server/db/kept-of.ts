/** Everything that is kept of one person, for her to have. */
import type pg from 'pg';

const KEPT = `
  select jsonb_build_object(
    'person', to_jsonb(t) - 'organisation_id' - 'programme_id' - 'link_hash' - 'link',
    'kits', (select coalesce(jsonb_agg(to_jsonb(k) - 'organisation_id' - 'programme_id' - 'participant_id' order by month), '[]')
      from kit k where k.programme_id = t.programme_id and participant_id = t.id),
    'sheets', (select coalesce(jsonb_agg(jsonb_build_object('month', month, 'version', version, 'way', way, 'held_at', held_at)
      order by held_at), '[]') from sheet_held h where h.programme_id = t.programme_id and participant_id = t.id),
    'progress', (select coalesce(jsonb_agg(jsonb_build_object('month', month, 'step', step, 'done_at', done_at) order by done_at), '[]')
      from progress g where g.programme_id = t.programme_id and participant_id = t.id),
    'questions', (select coalesce(jsonb_agg(to_jsonb(q) - 'organisation_id' - 'programme_id' - 'participant_id' order by asked_at), '[]')
      from question q where q.programme_id = t.programme_id and participant_id = t.id),
    'mails', (select coalesce(jsonb_agg(jsonb_build_object('to', recipient, 'subject', subject, 'body', body, 'state', m.state,
      'sent_at', sent_at) order by written_at), '[]') from mail m where m.programme_id = t.programme_id and participant_id = t.id),
    'measurements', (select coalesce(jsonb_agg(jsonb_build_object('month', month, 'sizes', sizes, 'sent_at', sent_at) order by sent_at), '[]')
      from measurement s where s.programme_id = t.programme_id and participant_id = t.id),
    'layouts', (select coalesce(jsonb_agg(jsonb_build_object('month', month, 'block', block, 'found', found, 'checked_at', checked_at)
      order by checked_at), '[]') from layout_check l where l.programme_id = t.programme_id and participant_id = t.id),
    'sewing', (select coalesce(jsonb_agg(jsonb_build_object('month', month, 'version', version, 'marks', marks)
      order by month, version), '[]') from sewing w where w.programme_id = t.programme_id and participant_id = t.id),
    'page_opened_on', (select coalesce(jsonb_agg(jsonb_build_object('device', device, 'first_at', first_at, 'seen_at', seen_at)
      order by first_at), '[]') from page_device d where d.participant_id = t.id),
    'pin', exists (select from page_pin n where n.participant_id = t.id),
    'pictures', (select coalesce(jsonb_agg(jsonb_build_object('month', month, 'taken_at', taken_at, 'jpeg_base64',
      encode(jpeg, 'base64'), 'object', object) order by taken_at), '[]') from picture i where i.programme_id = t.programme_id and participant_id = t.id)
  ) as kept
  from participant t join programme p on p.id = t.programme_id where slug = $1 and t.id = $2`;

export interface KeptOf {
  /** A picture that stands in the store of files only has no `jpeg_base64`. */
  pictures: { jpeg_base64: string | null; object?: string | null }[];
  [part: string]: unknown;
}

/** All of it as one object; undefined where there is no such person. */
export async function keptOf(db: pg.ClientBase, slug: string, id: string): Promise<KeptOf | undefined> {
  return (await db.query<{ kept: KeptOf }>(KEPT, [slug, id])).rows[0]?.kept;
}
