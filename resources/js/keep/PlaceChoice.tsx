import { useState } from 'react';
import { keepIn } from './outboxOfThisTab';
import { place, type Place } from './place';
import styles from './Place.module.css';

const CHOICES: [Place, string][] = [
    ['browser', 'in this browser'],
    ['tab', 'only while this tab is open (for a computer that others use, too)'],
];

/** Where typing is kept until it is saved, and copies for when there is no connection. */
export function PlaceChoice() {
    const [at, setAt] = useState(place());
    return (
        <fieldset className={styles.place}>
            <legend>What is not saved yet is kept</legend>
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
