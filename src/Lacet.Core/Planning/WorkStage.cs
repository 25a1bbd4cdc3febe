namespace Lacet.Core.Planning;

/// <summary>How far an end is, as several are worked side by side.</summary>
public enum WorkStage
{
    /// <summary>What goes over the insulation before it is stripped: markers, boots, shrink tubes.</summary>
    SlideOn,

    /// <summary>It is stripped.</summary>
    Strip,

    /// <summary>It is bent, twisted, or something is put on.</summary>
    Prepare,

    /// <summary>What was put on is crimped.</summary>
    Crimp,

    /// <summary>What is done after that, still in the hand.</summary>
    AfterCrimp,

    /// <summary>It is seated in its landing.</summary>
    Land,

    /// <summary>It is tightened.</summary>
    Tighten,
}
