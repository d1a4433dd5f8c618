/** The mark: a hanging indent, one long bar and two set in. */
export function Mark() {
    return (
        <svg width="24" height="24" viewBox="0 0 24 24" aria-hidden="true">
            <g fill="var(--petrol)">
                <rect x="2" y="4" width="19" height="3.4" rx="1" />
                <rect x="8" y="10.3" width="14" height="3.4" rx="1" />
                <rect x="8" y="16.6" width="9" height="3.4" rx="1" fill="var(--ochre)" />
            </g>
        </svg>
    );
}
