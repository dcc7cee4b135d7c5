<?php

namespace App\Policies;

class FormationPolicy extends StaffDocumentPolicy
{
}
