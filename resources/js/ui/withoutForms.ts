/** Stands in for antd's form machinery, which its controls name and nothing here uses: 13 KB over the wire. */
const none = () => null;

export const FormProvider = ({ children }: { children?: unknown }) => children;
export const Field = none;
export const FieldContext = none;
export const ListContext = none;
export const List = none;
export const useForm = none;
export const useWatch = none;
export default none;
