import { createContext, useContext } from 'react';

export const ExplainContext = createContext<(address: string) => void>(() => undefined);

/** Opens the explanation of a figure, to be had at the address. */
export const useExplain = () => useContext(ExplainContext);
