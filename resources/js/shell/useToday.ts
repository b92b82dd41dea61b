import { $api } from "../api/query";

/** The teacher's classes with their labs. */
export const useToday = () => $api.useQuery("get", "/api/today");
