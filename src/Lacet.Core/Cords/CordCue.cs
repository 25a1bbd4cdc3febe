namespace Lacet.Core.Cords;

/// <summary>What can be seen to be wrong with a cord, from plug to entry.</summary>
public enum CordCue
{
    /// <summary>Blades are bent or loose.</summary>
    BladesBent,

    /// <summary>Blades are browned, blued or pitted.</summary>
    BladesScorched,

    /// <summary>The earth pin is cut off, broken or loose.</summary>
    EarthPinGone,

    /// <summary>The plug's body is cracked.</summary>
    PlugCracked,

    /// <summary>The jacket has pulled out of the plug: conductors show.</summary>
    JacketPulledOut,

    /// <summary>The jacket is cut, and what is under it is whole.</summary>
    JacketCut,

    /// <summary>Copper shows, or the cord was crushed.</summary>
    BareOrCrushed,

    /// <summary>Tape round it, or a splice.</summary>
    Patched,

    /// <summary>It is stiff, sticky or cracks when it is bent.</summary>
    Aged,

    /// <summary>It gets warm in use.</summary>
    Warm,

    /// <summary>The printed gauge is too thin for the load.</summary>
    TooThin,

    /// <summary>The printed gauge cannot be read.</summary>
    PrintGone,

    /// <summary>Inside the plug a strand is outside its screw.</summary>
    StrandOutside,

    /// <summary>Inside the plug a screw is loose.</summary>
    ScrewLoose,

    /// <summary>The plug's clamp sits on the conductors, or on nothing.</summary>
    ClampNotOnJacket,

    /// <summary>A two-blade plug or a cheater on a three-wire cord.</summary>
    Cheater,

    /// <summary>The strain relief at the entry is missing or loose.</summary>
    ReliefGone,

    /// <summary>The surge suppressor behind the entry is scorched.</summary>
    SuppressorScorched,

    /// <summary>The fuse is blown, or is not the one that belongs there.</summary>
    FuseWrong,

    /// <summary>The plug covers the outlet beside its own.</summary>
    CoversNeighbour,

    /// <summary>The fuse is bridged with wire or foil.</summary>
    FuseBridged,

    /// <summary>Inside the plug the earth conductor is cut off, or lands nowhere.</summary>
    EarthNotLanded,

    /// <summary>The plug's clamp is too wide for the cord.</summary>
    ClampTooWide,
}
