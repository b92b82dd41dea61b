import type { Props } from "./answering";
import ChoiceField from "./ChoiceField";
import NumberField from "./NumberField";
import OrderField from "./OrderField";
import ScaleKeys from "./ScaleKeys";
import ToolCountField from "./ToolCountField";
import WordField from "./WordField";

/** The place to answer, by how the question is answered. Every one works by touch and by keyboard. */
export default function AnswerField(props: Props) {
  switch (props.question.kind) {
    case "choice":
      return <ChoiceField {...props} />;
    case "order":
      return <OrderField {...props} />;
    case "number":
      return <NumberField {...props} />;
    case "tools":
      return <ToolCountField {...props} />;
    case "words":
      return <WordField {...props} />;
    case "keys":
      return <ScaleKeys {...props} />;
  }
}
