# Looking after a place: what is wrong with it, and taking it elsewhere.
