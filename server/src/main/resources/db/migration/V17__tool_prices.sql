-- What the household says a kind of tool costs, in its currency; absent: nobody said.
CREATE TABLE tool_price (
    kind  TEXT PRIMARY KEY,
    price REAL NOT NULL CHECK (price BETWEEN 0 AND 10000)
) STRICT, WITHOUT ROWID;
