declare module 'rapidoc'
