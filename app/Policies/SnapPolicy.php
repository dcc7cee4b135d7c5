<?php

namespace App\Policies;

class SnapPolicy extends StaffDocumentPolicy
{
}
