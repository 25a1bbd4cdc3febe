using Lacet.Core.Quantities;

namespace Lacet.Core.Cords;

/// <summary>A cue with what it means.</summary>
/// <param name="Cue">What is seen.</param>
/// <param name="Place">Where.</param>
/// <param name="Verdict">What becomes of the cord for this alone.</param>
/// <param name="Looks">How it is asked, in a few words.</param>
/// <param name="Says">Why, in one sentence.</param>
/// <param name="Do">What to do, in one sentence.</param>
public sealed record CordSign(CordCue Cue, CordPlace Place, CordVerdict Verdict, Term Looks, Term Says, Term Do)
{
    /// <summary>Where they are from.</summary>
    public const string Source = "common practice (from memory)";

    /// <summary>A place in words.</summary>
    public static string Say(CordPlace place) =>
        place switch
        {
            CordPlace.Blades => "the blades",
            CordPlace.AtThePlug => "where the cord leaves the plug",
            CordPlace.InsideThePlug => "inside the plug",
            CordPlace.Along => "along the cord",
            CordPlace.Print => "the print on the jacket",
            _ => "the entry",
        };

    /// <summary>Every cue, in the order of looking.</summary>
    public static IReadOnlyList<CordSign> All { get; } =
    [
        new(
            CordCue.EarthPinGone,
            CordPlace.Blades,
            CordVerdict.ScrapNow,
            "Earth pin cut, broken or loose",
            "Without its earth pin the case is earthed by nothing.",
            "Take it out of use now; cut the plug off, so that nobody uses it meanwhile."
        ),
        new(
            CordCue.BladesScorched,
            CordPlace.Blades,
            CordVerdict.ScrapNow,
            "Blades browned or pitted",
            "Scorched blades have lost their spring and their plating, and the wire behind them was hot.",
            "Take it out of use now, and look at the receptacle too."
        ),
        new(
            CordCue.BladesBent,
            CordPlace.Blades,
            CordVerdict.RefitPlug,
            "Blades bent or loose",
            "Bent blades make poor contact and get hot.",
            "Fit a new plug, or a new cord."
        ),
        new(
            CordCue.PlugCracked,
            CordPlace.Blades,
            CordVerdict.RefitPlug,
            "Plug’s body cracked",
            "A cracked body may open on live parts.",
            "Fit a new plug, or a new cord."
        ),
        new(
            CordCue.Cheater,
            CordPlace.Blades,
            CordVerdict.RefitPlug,
            "Two blades, or a cheater, on a three-wire cord",
            "The earth conductor ends nowhere.",
            "Three-wire cord gets a three-blade plug, never a cheater."
        ),
        new(
            CordCue.CoversNeighbour,
            CordPlace.Blades,
            CordVerdict.PutRight,
            "Plug covers the outlet beside it",
            "Its shape takes up two outlets, and somebody will force the other in.",
            "Choose a plug whose cord leaves another way."
        ),
        new(
            CordCue.JacketPulledOut,
            CordPlace.AtThePlug,
            CordVerdict.RefitPlug,
            "Jacket pulled out of the plug",
            "The conductors carry the pull, and the earth goes last only if it was left longest.",
            "Do not use it until it has a new plug with its clamp on the jacket, or a new cord."
        ),
        new(
            CordCue.StrandOutside,
            CordPlace.InsideThePlug,
            CordVerdict.RefitPlug,
            "A strand outside its screw",
            "A strand that bridges two screws is a short, and one to the earth is a shock.",
            "Open the plug, make the ends anew, every strand under its screw."
        ),
        new(
            CordCue.ScrewLoose,
            CordPlace.InsideThePlug,
            CordVerdict.RefitPlug,
            "A screw loose",
            "A loose screw heats its end until it breaks.",
            "Cut the ends back, land them anew, tighten to the value."
        ),
        new(
            CordCue.ClampNotOnJacket,
            CordPlace.InsideThePlug,
            CordVerdict.RefitPlug,
            "Clamp not on the jacket",
            "The clamp holds the jacket, never the conductors.",
            "Open it, and bring the jacket under the clamp."
        ),
        new(
            CordCue.BareOrCrushed,
            CordPlace.Along,
            CordVerdict.ScrapNow,
            "Copper shows, or crushed",
            "What is bare can be touched; what was crushed has broken strands inside.",
            "Take it out of use now."
        ),
        new(
            CordCue.Patched,
            CordPlace.Along,
            CordVerdict.ScrapNow,
            "Tape round it, or a splice",
            "Flexible cord is not spliced, and tape is no repair (NEC 400.13, from memory).",
            "Take it out of use now; only hard-service cord of 14 AWG and more may be repaired, and not with tape."
        ),
        new(
            CordCue.JacketCut,
            CordPlace.Along,
            CordVerdict.ReplaceCord,
            "Jacket cut, whole underneath",
            "The next pull opens it down to the copper.",
            "Replace it; near the plug, cut it off there and fit a plug."
        ),
        new(
            CordCue.Aged,
            CordPlace.Along,
            CordVerdict.ReplaceCord,
            "Stiff, sticky or cracking",
            "Insulation that has hardened cracks where it is bent.",
            "Replace it."
        ),
        new(
            CordCue.Warm,
            CordPlace.Along,
            CordVerdict.ReplaceCord,
            "Warm in use",
            "It carries more than it should, or a joint at its end is bad.",
            "Replace it by one that is right for the load, and look at both ends."
        ),
        new(
            CordCue.TooThin,
            CordPlace.Print,
            CordVerdict.ReplaceCord,
            "Gauge too thin for the load",
            "A thin cord drops voltage and gets hot.",
            "Replace it by the size that the load asks for."
        ),
        new(
            CordCue.PrintGone,
            CordPlace.Print,
            CordVerdict.PutRight,
            "Print cannot be read",
            "What it is made for is not known.",
            "Measure a conductor before you trust it with a load."
        ),
        new(
            CordCue.ReliefGone,
            CordPlace.Entry,
            CordVerdict.PutRight,
            "Strain relief missing or loose",
            "The joints inside carry every pull.",
            "Fit a relief that grips this jacket before it is used again."
        ),
        new(
            CordCue.SuppressorScorched,
            CordPlace.Entry,
            CordVerdict.PutRight,
            "Surge suppressor scorched",
            "It has taken its last surge, and may fail as a short.",
            "Fit a new suppressor of the same rating, and find out why this one failed; the cord is not at fault."
        ),
        new(
            CordCue.FuseBridged,
            CordPlace.Entry,
            CordVerdict.ScrapNow,
            "Fuse bridged with wire or foil",
            "Nothing opens when something fails: the cord burns instead.",
            "Take it out of use now; find why the fuse blew, and fit the one that is marked there."
        ),
        new(
            CordCue.EarthNotLanded,
            CordPlace.InsideThePlug,
            CordVerdict.RefitPlug,
            "Earth conductor cut off or not landed",
            "The case is earthed by nothing, and it looks whole from outside.",
            "Open the plug, land the earth, the longest of the three."
        ),
        new(
            CordCue.ClampTooWide,
            CordPlace.AtThePlug,
            CordVerdict.RefitPlug,
            "Clamp too wide for the cord",
            "It grips nothing: the screws carry the pull.",
            "Take a plug whose clamp closes on this jacket."
        ),
        new(
            CordCue.FuseWrong,
            CordPlace.Entry,
            CordVerdict.PutRight,
            "Fuse blown or not the right one",
            "A fuse that blew did its work: find out why first.",
            "Find the fault, then put in the fuse that is marked there."
        ),
    ];
}
