namespace Lacet.Core.Networks;

/// <summary>What two claims on one piece of metal come to, worst first.</summary>
public enum ContradictionKind
{
    /// <summary>A line on the earth: every case that is earthed there becomes live until a breaker opens.</summary>
    LineToEarth,

    /// <summary>A line on the neutral: a dead short, or a neutral that is live.</summary>
    LineToNeutral,

    /// <summary>Two legs of one supply: a short between lines.</summary>
    Phases,

    /// <summary>Two systems, or two voltages.</summary>
    Systems,

    /// <summary>Plus and 0 V of one supply: a short.</summary>
    PlusToZero,

    /// <summary>Neutral and earth, away from the one bond.</summary>
    NeutralToEarth,

    /// <summary>Lines of two circuits: neither breaker makes it dead.</summary>
    CircuitLines,

    /// <summary>Neutrals of two circuits: each carries what the other does.</summary>
    CircuitNeutrals,

    /// <summary>What a switch is to open, joined to what is always live.</summary>
    SwitchBypassed,

    /// <summary>A traveller joined to what is no traveller.</summary>
    TravellerJoined,
}
