/** Cautions that stand beside the step. */
export const MANURE
  = 'Gloves, hands washed, tetanus shot in date. Raw manure stays under the soil: roots and leaves that are eaten raw grow in the soil '
    + 'above it, never in the dung.'
export const DUST = 'Dusty stuff is damped first; a mask against spores, above all with weak lungs.'
export const LIFTING = 'A bed is half a tonne to a tonne: small forks, two people, breaks.'
export const GLASS_CARE = 'Old panes break: gloves, edges taped, out of the way of children. Tie the lid against wind.'
export const TREADING = 'Tread it layer by layer, on a board: the edge gives way under a foot.'
export const WEEDKILLER
  = 'Ask what the horses ate and lay on: weedkiller in hay and straw cripples what grows over it. A pot of beans in it for three weeks '
    + 'shows it.'
export const GASES = 'Fresh dung gives off ammonia and hot steam, and takes the air of a shut frame: air it before you lean in.'
export const WET_SEED = 'A shut, wet frame rots seedlings: air it by day, water in the morning.'
