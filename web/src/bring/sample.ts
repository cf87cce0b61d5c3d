/** A braise to look around with. */
export const SAMPLE = `Sunday beef with stout and parsnips
Serves 4

1.3 kg beef chuck, in one piece
2 onions, sliced
3 parsnips, in chunks
2 tbsp oil
330 ml stout
500 ml beef stock
2 bay leaves
1 sprig thyme
1½ tsp salt

Heat the oven to 150 °C. Salt the beef and brown it in the oil, 4 minutes a side.
Soften the onions for 8 minutes. Pour in the stout and boil it down by half.
Add the beef, parsnips, stock, bay and thyme. Cover and cook in the oven for 3 hours.
Lift out the beef. Take out the bay and thyme. Boil the sauce down for 10 minutes. Serve with mash.`;
