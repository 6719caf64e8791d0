"use client";

import { createContext } from "react";

/** What stands between whole numbers and their parts in a box. */
export const DecimalMark = createContext(".");
