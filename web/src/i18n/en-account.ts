/** One's own account: passwords, and where it is signed in. */
export const enAccount = {
  password: {
    forgotten: 'Set a new password',
    forgottenWords:
      'Tell us your e-mail address. We send a link there with which you can set a new password.',
    send: 'Send the link',
    onItsWay:
      'If an account has this address, a link is on its way to it. It holds for an hour. Look among the unwanted messages too.',
    toSignIn: 'Back to signing in',
    ask: 'Forgot your password?',
    new: 'Your new password',
    newOne: 'New password',
    set: 'Set it',
    isSet: 'Your new password is set. Whoever was signed in with the old one is not any more.',
    another: 'Ask for another link',
    change: 'Change your password',
    before: 'Your password until now',
    changed: 'Your password is changed. You are signed in only here now.',
  },
  own: {
    title: 'Your account',
    places: 'Where you are signed in',
    since: 'since {{since}}, from {{from}}',
    here: '· this one',
    used: '· used last {{used}}',
    endWhy: 'One of them is not you, or on a device that others use? End them.',
    end: 'End the others',
  },
};
