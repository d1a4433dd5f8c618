import { useState } from 'react';
import { keepIn } from './outboxOfThisTab';
import { place, type Place } from './place';
import styles from './Place.module.css';
import { words } from '../words/english';

const CHOICES: [Place, string][] = [
    ['browser', words.place.browser],
    ['tab', words.place.tab],
];

/** Where typing is kept until it is saved, and copies for when there is no connection. */
export function PlaceChoice() {
    const [at, setAt] = useState(place());
    return (
        <fieldset className={styles.place}>
            <legend>{words.place.kept}</legend>
            {CHOICES.map(([value, label]) => (
                <label key={value}>
                    <input
                        type="radio"
                        name="place"
                        checked={at === value}
                        onChange={() => {
                            setAt(value);
                            void keepIn(value);
                        }}
                    />
                    {label}
                </label>
            ))}
        </fieldset>
    );
}
