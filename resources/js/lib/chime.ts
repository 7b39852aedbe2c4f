import { setting } from './kept/setting';

const kept = setting('chime');

/** A soft tone at the end of an agenda item, for whoever wants it. */
export const chime = {
    isOn: (): boolean => kept.get() !== null,
    turn: (isOn: boolean): void => {
        kept.set(isOn ? '1' : null);

        if (isOn) {
            chime.ring();
        }
    },
    ring: (): void => {
        if (!chime.isOn()) {
            return;
        }

        const audio = new AudioContext();
        const tone = audio.createOscillator();
        const volume = audio.createGain();
        tone.frequency.value = 660;
        volume.gain.setValueAtTime(0.2, audio.currentTime);
        volume.gain.exponentialRampToValueAtTime(0.001, audio.currentTime + 1.2);
        tone.connect(volume).connect(audio.destination);
        tone.start();
        tone.stop(audio.currentTime + 1.2);
        tone.onended = () => void audio.close();
    },
};
