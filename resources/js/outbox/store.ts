import { type DBSchema, type IDBPDatabase, openDB } from "idb";

/** What a device still has to tell the server, and what was refused. Its id is the ULID under which the server stores it once. */
export type Kept = {
  id: string;
  order: number;
  url: string;
  body: unknown;
  /** for whom it is: a tablet that changes hands sends nobody else's */
  owner: string;
  /** said by the server, where it refused it */
  refused?: string;
};

interface Outbox extends DBSchema {
  kept: { key: string; value: Kept; indexes: { order: number } };
}

let opened: Promise<IDBPDatabase<Outbox>> | undefined;
const store = () => {
  opened ??= openDB<Outbox>("hovik", 1, {
    upgrade(db) {
      db.createObjectStore("kept", { keyPath: "id" }).createIndex("order", "order");
    },
  });
  return opened;
};

/** Behind all that is here: by their number, and not by a clock that may be set back. */
export const add = async (item: Omit<Kept, "order">) => {
  const turn = (await store()).transaction("kept", "readwrite");
  const last = await turn.store.index("order").openCursor(null, "prev");
  const before = (await turn.store.get(item.id))?.order;
  await turn.store.put({ ...item, order: before ?? (last?.value.order ?? 0) + 1 });
  await turn.done;
};
export const keep = async (item: Kept) => void (await (await store()).put("kept", item));
export const drop = async (id: string) => void (await (await store()).delete("kept", id));
/** Oldest first. */
export const kept = async (): Promise<Kept[]> => (await store()).getAllFromIndex("kept", "order");
