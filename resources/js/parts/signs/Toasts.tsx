import { useEffect } from 'react';
import { Toaster, toast } from 'sonner';
import { showBy } from './notice';

/** Where notices stand. */
export default function Toasts() {
    useEffect(() => {
        showBy(toast);
    }, []);

    return <Toaster position="bottom-left" />;
}
