/** The language in steps: each adds one thing to say. */
export const LESSONS = [
    {
        title: 'A set and a family',
        example: 'gun 2x2: smash right',
        says: 'The colon parts who stands where from what they run.',
    },
    {
        title: 'Another set, same family',
        example: 'gun trips right: post-dig right',
        says: 'A family is routes by receiver number: it works from any set that has the men.',
    },
    {
        title: 'One man differs',
        example: 'gun trips right: post-dig right; X slant',
        says: 'A semicolon, a letter, a route. Everybody else stays.',
    },
    {
        title: 'Only routes',
        example: 'gun 2x2: Z hitch, H corner 11',
        says: 'A number is the depth of the break in yards. The family is found from the routes.',
    },
    {
        title: 'By number',
        example: 'gun trips left: #1 left dig 14, #2 left seam, #3 left flat',
        says: 'Number one is the outside man of the side.',
    },
    {
        title: 'Landmarks',
        example: '3rd & 8 | gun 2x2: Z dig at sticks, H go clear; R check flat',
        says: 'At the sticks follows the down; clear and alert are not reads.',
    },
    {
        title: 'How he ends it',
        example: 'gun 2x2: X shallow settling, H dig moving; Z post outside release',
        says: 'Settling sits in the window, moving keeps running; the release side comes last.',
    },
    {
        title: 'Reads in order',
        example: 'gun 2x2: mesh right; read R, mesh, sit, post',
        says: 'Letters, routes or a family. Also read man …, read zone …, read high to low.',
    },
    {
        title: 'A man moves first',
        example: 'gun 2x2, H jet left: slant-flat right',
        says: 'Before the colon: who, what kind, which way.',
    },
    {
        title: 'Protection and hot',
        example: 'gun 2x2, half-slide left: drive right; hot Y',
        says: 'The slide goes away from the first read; hot gets the ball when somebody is free.',
    },
    {
        title: 'The situation',
        example: '2nd & 6, ball on -35, left hash | gun 2x2: flood right',
        says: 'A minus is our own half. The bar parts it from the call.',
    },
    {
        title: 'A screen',
        example: 'gun 2x2: slip screen right',
        says: 'Bubble, now, tunnel, swing, slip or tight end screen: the line and the receivers know whom they lead on.',
    },
    {
        title: 'How many stay in',
        example: 'gun trips right, seven-man: post-dig right',
        says: 'Five-man to eight-man: the backs first, then the men on the line, then who stands nearest.',
    },
    {
        title: 'As you would type it',
        example: 'doubles rt 6 man: dagger rt',
        says: 'Abbreviations and other names are put into these words; what staffs mean differently is asked.',
    },
    {
        title: 'Two calls, one rule',
        example: 'gun 2x2: zone right; kill to hitches both if box heavy',
        says: 'Which is played is decided by what stands there before the snap: box, middle, numbers, press, front.',
    },
    {
        title: 'Out of a run',
        example: 'I right, power right flicker: Z post; X over',
        says: 'A flicker pitches the ball back to the passer; a back pass is thrown by who has it.',
    },
    {
        title: 'Your own word',
        example: 'gun 2x2: ledge right',
        says: 'Aliases and families of your own stand in the staff book; the demo’s ledge is scissors.',
    },
] as const;
