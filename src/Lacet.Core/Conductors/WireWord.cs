namespace Lacet.Core.Conductors;

/// <summary>What a word in a wire's text means; nothing of it for a word that adds nothing.</summary>
/// <param name="Build">How it is made.</param>
/// <param name="Material">Of what metal.</param>
/// <param name="Earth">Whether a cable has an earth.</param>
/// <param name="Shielded">Whether it is shielded.</param>
/// <param name="Pair">Whether its conductors are a pair.</param>
internal sealed record WireWord(
    Build? Build = null,
    Material? Material = null,
    EarthInCable Earth = EarthInCable.NotSaid,
    bool Shielded = false,
    bool Pair = false
);
