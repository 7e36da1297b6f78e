-- Up Migration

-- Whose rows are seen is asked once for each query, not once for each row: half of the time of a list of 24,000 kits went into that.
do $$
declare
  p record;
begin
  for p in select tablename from pg_policies where policyname = 'own' and qual = '(organisation_id = current_organisation())' loop
    execute format(
      'alter policy own on %I using (organisation_id = (select current_organisation())) with check (organisation_id = (select current_organisation()))',
      p.tablename);
  end loop;
end $$;

-- Down Migration

do $$
declare
  p record;
begin
  for p in select tablename from pg_policies where policyname = 'own' and qual like '(organisation_id = ( SELECT current_organisation()%' loop
    execute format(
      'alter policy own on %I using (organisation_id = current_organisation()) with check (organisation_id = current_organisation())',
      p.tablename);
  end loop;
end $$;
