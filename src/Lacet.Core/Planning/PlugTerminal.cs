using Lacet.Core.Cords;
using Lacet.Core.Quantities;

namespace Lacet.Core.Planning;

/// <summary>A cord conductor on its way to its screw in a plug.</summary>
/// <param name="Role">Which conductor.</param>
/// <param name="Screw">The screw that it goes to, in words.</param>
/// <param name="Length">From the end of the jacket to its tip.</param>
/// <param name="Insulated">How much of that stays in its insulation.</param>
public sealed record PlugTerminal(CordRole Role, string Screw, Length Length, Length Insulated);
