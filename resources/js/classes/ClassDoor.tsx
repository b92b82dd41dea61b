export { ClassDoor as default } from "./ClassScreen";
