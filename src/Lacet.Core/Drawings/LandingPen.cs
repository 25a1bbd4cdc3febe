using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Drawings;

/// <summary>
/// Draws landings: each kind has its own pen, since each looks different. The wire lies along y = 0 and its insulation
/// ends at x = 0; a landing alone has its mouth there.
/// </summary>
internal static class LandingPen
{
    internal static void Draw(DrawnEnd end)
    {
        switch (end.Plan.Landing)
        {
            case BindingScrew screw:
                UnderScrew.Draw(end, screw.Screw, UnderScrew.OnStrap);
                break;
            case PlugScrew { Grip: PlugGrip.Hook } plug:
                UnderScrew.Draw(end, plug.Screw, UnderScrew.OnBlade);
                break;
            case PlugScrew plug:
                UnderPlate.DrawInPlug(end, plug);
                break;
            case BackWireClamp clamp:
                UnderPlate.Draw(end, clamp);
                break;
            case BackStab hole:
                InBackStab.Draw(end, hole);
                break;
            case LeverClamp clamp:
                UnderLever.Draw(end, clamp);
                break;
            case ScrewClampBlock block:
                InClamp.Draw(end, block);
                break;
            case SpringCageBlock block:
                InCage.Draw(end, block);
                break;
            case PushInBlock block:
                InPushIn.Draw(end, block);
                break;
            case DeepPushIn throat:
                InThroat.Draw(end, throat);
                break;
            case InsulationDisplacement block:
                InContacts.Draw(end, block);
                break;
            case Stud stud:
                OnStud.Draw(end, stud);
                break;
            case SetScrewLug lug:
                InLug.Draw(end, lug);
                break;
            case CrimpedLug lug:
                InCrimp.Draw(end, lug);
                break;
            case SolderLug lug:
                ThroughTag.Draw(end, lug);
                break;
        }
    }

    internal static void Alone(Landing landing, Sheet sheet)
    {
        switch (landing)
        {
            case BindingScrew screw:
                UnderScrew.Alone(screw.Screw, UnderScrew.OnStrap, sheet);
                break;
            case PlugScrew { Grip: PlugGrip.Hook } plug:
                UnderScrew.Alone(plug.Screw, UnderScrew.OnBlade, sheet);
                break;
            case PlugScrew plug:
                UnderPlate.AloneInPlug(plug, sheet);
                break;
            case BackWireClamp clamp:
                UnderPlate.Alone(clamp, sheet);
                break;
            case BackStab hole:
                InBackStab.Alone(hole, sheet);
                break;
            case LeverClamp clamp:
                UnderLever.Alone(clamp, sheet);
                break;
            case ScrewClampBlock block:
                InClamp.Alone(block, sheet);
                break;
            case SpringCageBlock block:
                InCage.Alone(block, sheet);
                break;
            case PushInBlock block:
                InPushIn.Alone(block, sheet);
                break;
            case DeepPushIn throat:
                InThroat.Alone(throat, sheet);
                break;
            case InsulationDisplacement block:
                InContacts.Alone(block, sheet);
                break;
            case Stud stud:
                OnStud.Alone(stud, sheet);
                break;
            case SetScrewLug lug:
                InLug.Alone(lug, sheet);
                break;
            case CrimpedLug lug:
                InCrimp.Alone(lug, sheet);
                break;
            case SolderLug lug:
                ThroughTag.Alone(lug, sheet);
                break;
        }
    }

    /// <summary>Adds the measure by which a wire that does not fit is compared.</summary>
    internal static void Measure(Landing landing, Sheet sheet)
    {
        if (landing is PrintedLanding printed)
        {
            var depth = printed.StripDepth;
            sheet.Dimension("depth", 0, depth.Millimetres, sheet.Bottom + 2, 0, depth);
        }
        else if (sheet.Parts.FirstOrDefault(p => p.Kind is PartKind.ScrewHead)?.Box is { } head)
        {
            sheet.Dimension("head", head.Left, head.Right, sheet.Bottom + 2, 0, new Length(head.Width));
        }
    }
}
