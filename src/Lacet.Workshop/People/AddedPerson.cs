using Lacet.Store;

namespace Lacet.Workshop.People;

/// <summary>Somebody, and the code that lets them in once. It is shown now, and never again.</summary>
/// <param name="Account">Who.</param>
/// <param name="Code">The code.</param>
public sealed record AddedPerson(AccountRow Account, string Code);
