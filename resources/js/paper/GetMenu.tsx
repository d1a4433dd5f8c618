import { Dropdown } from 'antd';
import { cloneElement, useState, type ReactElement } from 'react';
import { focusOn } from '../ui/focus';

export interface Group {
    label: string;
    items: { key: string; label: string }[];
}

interface Props {
    items: Group[];
    onChoose: (key: string) => void;
    /** Whether it was fetched because somebody pressed its button. */
    startsOpen: boolean;
    children: ReactElement<{ 'aria-expanded': boolean; onClick: () => void }>;
}

/** The ways out of a paper, as a menu for pointer and keys. */
export default function GetMenu({ items, onChoose, startsOpen, children }: Props) {
    const [isOpen, setOpen] = useState(startsOpen);
    return (
        <Dropdown
            trigger={['click']}
            autoFocus
            open={isOpen}
            onOpenChange={(open) => setOpen(open)}
            menu={{
                onClick: ({ key }) => {
                    setOpen(false);
                    onChoose(key);
                },
                onKeyDown: (event) => {
                    if (event.key !== 'Escape' && event.key !== 'Tab') return;
                    event.stopPropagation();
                    setOpen(false);
                    focusOn('[data-get]');
                },
                items: items.map((group) => ({
                    type: 'group',
                    key: group.label,
                    label: group.label,
                    children: group.items,
                })),
            }}
        >
            {cloneElement(children, { 'aria-expanded': isOpen, onClick: () => setOpen(!isOpen) })}
        </Dropdown>
    );
}
