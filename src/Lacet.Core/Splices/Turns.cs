using System.Runtime.InteropServices;

namespace Lacet.Core.Splices;

/// <summary>How often a wire goes round.</summary>
/// <param name="Open">Turns with room between them.</param>
/// <param name="Tight">Turns that touch.</param>
[StructLayout(LayoutKind.Auto)]
public readonly record struct Turns(int Open, int Tight)
{
    /// <summary>What is usual: 3 to 4 open, then 3 to 4 tight (common practice).</summary>
    public static readonly Turns Usual = new(4, 4);

    /// <summary>For a form whose turns are all alike: the tight ones, or the open where there are none.</summary>
    public int OfOneKind => Tight > 0 ? Tight : Open;
}
