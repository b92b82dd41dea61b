import { useState } from "react";
import { useTranslation } from "react-i18next";
import Loading from "../shell/Loading";
import ProblemNote from "../shell/ProblemNote";
import Invite from "./Invite";
import PersonLine from "./PersonLine";
import SlipLine from "./SlipLine";
import SlipPaper from "./SlipPaper";
import { type School, type Slip, usePeople } from "./useSchool";

/** The adults of the school; slips that wait; the one that was made just now, which is shown this once. */
export default function PeopleTable({ school }: { school: School }) {
  const { t } = useTranslation();
  const people = usePeople();
  const [slip, setSlip] = useState<Slip>();
  const [inviting, setInviting] = useState(false);
  if (people.isPending) return <Loading />;
  if (people.isError) return <ProblemNote error={people.error} retry={people.refetch} />;
  return (
    <section>
      <h2 className="h2rim flex items-end justify-between">
        <span>{t("school.people")}</span>
        <button
          type="button"
          className="btn btn-primary min-h-11 mb-2"
          onClick={() => setInviting(!inviting)}
          aria-expanded={inviting}
        >
          {t("school.invite")}
        </button>
      </h2>
      {inviting && (
        <Invite
          school={school}
          canMail={people.data.can_mail}
          made={(next) => {
            setSlip(next);
            setInviting(false);
          }}
        />
      )}
      {slip && <SlipPaper slip={slip} close={() => setSlip(undefined)} />}
      <ul className="people">
        {people.data.people.map((person) => (
          <PersonLine key={person.id} person={person} school={school} made={setSlip} />
        ))}
        {people.data.slips.map((one) => (
          <SlipLine key={one.id} slip={one} />
        ))}
      </ul>
    </section>
  );
}
